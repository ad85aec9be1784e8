#include <iostream>
#include <functional>
using namespace std;
double doIt(function<double(double)> f, int n) { return f(n); }
int main() {
    auto f = [](double x) { return x / 3; };
    cout << f(5) << ' ' << doIt(f, 4) << endl;
}
