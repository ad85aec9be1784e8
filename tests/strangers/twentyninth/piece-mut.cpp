#include <bits/stdc++.h>
using namespace std;
int main() {
    auto counter = [n = 0]() mutable { return ++n; };
    counter(); counter();
    cout << counter() << endl;
    int total = 10;
    auto add = [total](int x) mutable { total += x; return total; };
    cout << add(5) << add(5) << total << endl;
}
