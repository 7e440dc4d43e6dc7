global using Lane = System.Runtime.Intrinsics.Vector512<float>;
