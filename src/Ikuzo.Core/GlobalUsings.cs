// Sixteen particles side by side. A machine takes them as one register, or as two or four, whichever it does best: the runtime decides when
// it compiles, and the results are the same.
global using Lane = System.Runtime.Intrinsics.Vector512<float>;
