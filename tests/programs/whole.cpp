#include <iostream>
using namespace std;

int main() {
    cout << 7 / 2 << " " << 7 % 2 << " " << -7 / 2 << " " << 7 / 2.0 << endl;
    int big = 2147483;
    long long bigger = big * 1000LL;
    cout << bigger << endl;
    bool done = 3 > 2;
    cout << done << endl;
}
