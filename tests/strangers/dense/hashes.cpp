#include <iostream>
#include <string>
#include <vector>
#include <cstdint>
using namespace std;
uint64_t fnv(const string& s) {
    uint64_t h = 1469598103934665603ULL;
    for (char c : s) {
        h ^= (unsigned char)c;
        h *= 1099511628211ULL;
    }
    return h;
}
uint32_t mixed(uint32_t x) {
    x ^= x << 13;
    x ^= x >> 17;
    x ^= x << 5;
    return x;
}
int main() {
    cout << fnv("juniper") << endl;
    uint32_t m = 2463534242;
    for (int i = 0; i < 4; i++) { m = mixed(m); cout << m << endl; }
    size_t n = 0;
    cout << n - 1 << endl;
    n--;
    cout << n << endl;
    if (n > 5) cout << "huge" << endl;
    unsigned long long f = 1;
    for (int i = 1; i <= 22; i++) f *= i;
    cout << f << endl;
    string s = "bean";
    size_t at = s.find('z');
    cout << (at == string::npos) << endl;
    vector<int> beds = {1, 2, 3};
    for (size_t k = beds.size(); k-- > 0;) cout << beds[k] << " ";
    cout << endl;
    for (size_t k = 0; k < beds.size(); ++k) cout << k << ":" << beds[k] << " ";
    cout << endl;
    unsigned long seed = 7;
    for (int i = 0; i < 3; i++) { seed = seed * 6364136223846793005UL + 1442695040888963407UL; cout << (seed >> 33) << " " << seed % 6 + 1 << endl; }
    double half = n / 2.0;
    cout << half << endl;
    return 0;
}
