// Eight particles side by side; on machines with narrower registers the runtime splits it.
global using Lane = System.Runtime.Intrinsics.Vector512<double>;
