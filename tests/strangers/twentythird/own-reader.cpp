#include <iostream>
class F { int n = 0; public: friend std::istream& operator>>(std::istream& in, F& f); friend std::ostream & operator << ( std::ostream & out , const F & f ) ; };
std::istream& operator>>(std::istream& in, F& f) { return in >> f.n; }
std::ostream& operator<<(std::ostream& out, const F& f) { return out << "F" << f.n; }
int main() { F f; while (std::cin >> f) std::cout << f << ' '; }
