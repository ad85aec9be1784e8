#include <iostream>
using namespace std;
int half(const int& n) { return n / 2; }
double halfd(const double& d) { return d / 2; }
void tell(const char& c) { cout << c << endl; }
void flag(const bool& b) { cout << b << endl; }
struct T { int k; T(const int& n) : k(n) {} int plus(const int& n) const { return k + n; } double over(const double& d) const { return 7 / d; } };
int main() {
    cout << half(7.9) << " " << halfd(7) << " " << half('a') << endl;
    double d = 5.7; int i = 7;
    cout << half(d) << " " << halfd(i) << " " << half(d + 1) << endl;
    tell(98); flag(5);
    T t(3.9); cout << t.k << t.plus(2.9) << t.over(2) << endl;
}
