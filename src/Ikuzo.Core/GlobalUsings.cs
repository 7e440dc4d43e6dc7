// Eight particles side by side, one register wide on every common machine.
global using Lane = System.Runtime.Intrinsics.Vector256<float>;
