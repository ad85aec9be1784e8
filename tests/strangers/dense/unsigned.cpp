#include <iostream>
#include <cstdint>
#include <string>
#include <vector>
using namespace std;
unsigned int hashOf(const string& s) {
    unsigned int h = 5381;
    for (char c : s) {
        h = h * 33 + c;
    }
    return h;
}
unsigned next(unsigned seed) {
    return seed * 1103515245 + 12345;
}
struct Seeds { unsigned left; unsigned int used; };
int main() {
    unsigned u = 3;
    u -= 4;
    cout << u << endl;
    unsigned int a = 2, b = 5;
    cout << a - b << endl;
    if (a - b > 0) cout << "positive" << endl;
    int minus = -1;
    if (minus > a) cout << "bigger" << endl;
    cout << hashOf("fernhollow garden school") << endl;
    unsigned x = 42;
    for (int i = 0; i < 5; i++) {
        x = next(x);
        cout << x % 100 << " ";
    }
    cout << endl;
    int back = a - b;
    cout << back << endl;
    unsigned bits = ~0u;
    cout << bits << " " << (bits >> 28) << " " << (1u << 31) << endl;
    Seeds s = {2, 0};
    s.left -= 3;
    s.used--;
    cout << s.left << " " << s.used << endl;
    vector<unsigned> v(3, 1);
    v[0] -= 2;
    v[1]--;
    cout << v[0] << " " << v[1] << endl;
    unsigned i = 3;
    while (i-- > 0) cout << i << " ";
    cout << endl << i << endl;
    double d = a - b;
    cout << d << endl;
    long long big = a - b;
    cout << big << endl;
    cout << -a << endl;
    auto w = a - 7;
    cout << w << endl;
    unsigned q = -1;
    cout << q / 2 << " " << q % 10 << endl;
    cout << (unsigned)-5 << " " << static_cast<unsigned int>(minus) << endl;
    cout << max(a, b) << " " << (a < b ? a - b : b) << endl;
    return 0;
}
