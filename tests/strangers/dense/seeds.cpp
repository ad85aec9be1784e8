#include <iostream>
#include <string>
#include <vector>
#include <map>
using namespace std;
class Dice {
    unsigned long long state;
public:
    Dice(unsigned long long seed) : state(seed) {}
    unsigned int roll() {
        state = state * 6364136223846793005ULL + 1;
        return (unsigned int)(state >> 33) % 6 + 1;
    }
};
struct Cell { size_t row, col; unsigned short n; };
const unsigned MOD = 1000003u;
unsigned power(unsigned base, unsigned exp) {
    unsigned long long result = 1, b = base;
    while (exp > 0) {
        if (exp & 1) result = result * b % MOD;
        b = b * b % MOD;
        exp >>= 1;
    }
    return result;
}
int letters(char a, char b) { return a ^ b; }
unsigned reverse(unsigned x) {
    unsigned r = 0;
    for (int i = 0; i < 32; i++) { r = (r << 1) | (x & 1); x >>= 1; }
    return r;
}
int bits(unsigned x) { int n = 0; while (x) { x &= x - 1; n++; } return n; }
int main() {
    Dice d(2024);
    for (int i = 0; i < 6; i++) cout << d.roll() << ' ';
    cout << endl;
    cout << power(7, 123456) << endl;
    cout << letters('a', 'B') << endl;
    cout << reverse(6) << " " << bits(0xF0F0u) << " " << bits(-1) << endl;
    map<string, unsigned> counts;
    counts["bean"]++;
    counts["pea"] -= 1;
    for (auto& p : counts) cout << p.first << "=" << p.second << endl;
    vector<unsigned long> big{1, 2};
    big[0] -= 2;
    cout << big[0] << " " << big.size() << endl;
    string s = "hedge";
    size_t n = s.size();
    for (size_t i = 0; i + 1 < n; i++) cout << s[i] << s[i + 1] << ",";
    cout << endl;
    for (size_t i = n; i > 0; i--) cout << s[i - 1];
    cout << endl;
    size_t empty = 0;
    int rounds = 0;
    for (size_t i = 0; i < empty - 1; i++) { if (++rounds > 3) break; }
    cout << rounds << endl;
    for (size_t i = 0; i < empty; i++) rounds++;
    cout << rounds << endl;
    size_t pos = s.find("dg");
    if (pos != string::npos) cout << "at " << pos << endl;
    pos = s.find("q");
    if (pos == string::npos) cout << "none" << endl;
    unsigned int k = 10;
    while (k-- > 7) cout << k << " ";
    cout << endl;
    unsigned total = 0;
    for (unsigned i = 1; i <= 10; i++) total += i * i;
    cout << total << " " << total / 3 << " " << total % 7 << " " << total / 2.0 << endl;
    Cell c = {2, 3, 9};
    c.row -= 3;
    cout << c.row << " " << c.col << " " << c.n << endl;
    unsigned w = 7;
    int minus = -3;
    cout << (w + minus) << " " << w * minus << " " << (minus < (int)w) << endl;
    printf("%u %lu %d\n", w - 8, n, (int)(w - 8));
    string t = to_string(w - 8);
    cout << t << endl;
    double avg = (double)total / n;
    cout << avg << endl;
    cout << (w > 3 ? w : 0) << endl;
    unsigned a = 3000000000u, b = 2000000000u;
    cout << a + b << " " << (a > b) << " " << min(a, b) << endl;
    long long sum = (long long)a + b;
    cout << sum << endl;
    return 0;
}
