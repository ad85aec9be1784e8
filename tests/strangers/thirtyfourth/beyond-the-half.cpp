#include <iostream>
#include <climits>
using namespace std;
int main() {
    cout << 18446744073709551615ULL << endl;
    cout << ULLONG_MAX << endl;
    unsigned long long big = 18446744073709551615ULL;
    cout << big << endl;
    cout << big + 1 << endl;
    cout << 18446744073709551615ULL + 1 << endl;
    cout << 12000000000000000000ULL / 2 << endl;
    cout << 10000000000ULL * 1000000000 << " " << 4294967295U + 1 << " " << 3000000000U * 2 << endl;
    size_t n = 3; cout << n - 4 << endl;
    unsigned u = 5; cout << u - 6 << " " << -u << " " << ~0u << " " << (u > -1) << endl;
}
