#include <iostream>
using namespace std;
struct { int w, h; } size_;
struct Outer { struct { int a; } in, other[2]; int b; };
int main() { size_.w = 3; size_.h = 4; cout << size_.w * size_.h << endl; Outer o; o.in.a = 2; o.b = 3; cout << o.in.a + o.b << endl; }
