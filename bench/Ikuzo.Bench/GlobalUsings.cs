global using Lane = System.Runtime.Intrinsics.Vector256<float>;
