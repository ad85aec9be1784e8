#include <iostream>
#include <string>
using namespace std;
int area(int, int = 2);
string line(char, int n = 3);
class Bed { int w; public: Bed(int, int = 4); void grow(int = 1); int get() const { return w; } };
int main() {
  cout << area(3) << area(3, 3) << line('x') << line('y', 2) << endl;
  Bed b(2); b.grow(); b.grow(5); cout << b.get() << endl;
}
int area(int a, int b) { return a * b; }
string line(char c, int k) { return string(k, c); }
Bed::Bed(int a, int b) : w(a * b) {}
void Bed::grow(int by) { w += by; }
