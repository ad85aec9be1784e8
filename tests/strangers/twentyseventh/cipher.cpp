#include <iostream>
#include <string>
#include <vector>
#include <algorithm>
#include <cctype>
#include <iomanip>
using namespace std;
class Cipher { public: virtual string encode(const string& s) const = 0; virtual string decode(const string& s) const = 0; virtual ~Cipher() = default; };
class Shift : public Cipher {
    int k;
    static char turn(char c, int by) { if (!isalpha(c)) return c; char base = islower(c) ? 'a' : 'A'; return char((c - base + by % 26 + 26) % 26 + base); }
public:
    Shift(int k = 13) : k(k) {}
    string encode(const string& s) const override { string o; for (char c : s) o += turn(c, k); return o; }
    string decode(const string& s) const override { string o(s); for (size_t i = 0; i < o.size(); ++i) o[i] = turn(s[i], -k); return o; }
};
class Vigenere : public Cipher {
    string key;
    string run(const string& s, int sign) const {
        string out; size_t j = 0;
        for (unsigned char c : s) {
            if (isalpha(c)) { int by = sign * (tolower(key[j++ % key.length()]) - 'a'); char b = isupper(c) ? 'A' : 'a'; out.push_back((c - b + by + 26) % 26 + b); }
            else out.push_back(c);
        }
        return out;
    }
public:
    explicit Vigenere(string k) : key(k) {}
    string encode(const string& s) const override { return run(s, 1); }
    string decode(const string& s) const override { return run(s, -1); }
};
class Rails : public Cipher {
    int n;
public:
    Rails(int n) : n(n) {}
    string encode(const string& s) const override {
        vector<string> rail(n);
        int r = 0, d = 1;
        for (char c : s) { rail[r] += c; if (r == 0) d = 1; else if (r == n - 1) d = -1; r += d; }
        string o; for (auto& x : rail) o += x; return o;
    }
    string decode(const string& s) const override {
        vector<int> order(s.size()); vector<vector<int>> rail(n);
        int r = 0, d = 1;
        for (int i = 0; i < (int)s.size(); i++) { rail[r].push_back(i); if (r == 0) d = 1; else if (r == n - 1) d = -1; r += d; }
        int k = 0; string o(s.size(), ' ');
        for (const auto& x : rail) for (int i : x) o[i] = s[k++];
        return o;
    }
};
int checksum(const string& s) { unsigned h = 17; for (char c : s) h = h * 31 + c; return h % 1000; }
string hex(const string& s) { static const char d[] = "0123456789abcdef"; string o; for (unsigned char c : s) { o += d[c >> 4]; o += d[c & 15]; } return o; }
int main() {
    const string msg = "Meet me at the Pond, 9pm!";
    Shift rot; Shift s3(3); Vigenere v("Moss"); Rails r(3);
    vector<Cipher*> all{&rot, &s3, &v, &r};
    for (size_t i = 0; i < all.size(); ++i) {
        string e = all[i]->encode(msg), back = all[i]->decode(e);
        cout << i << " " << e << " " << (back == msg ? "ok" : "BAD " + back) << " " << setw(3) << setfill('0') << checksum(e) << endl;
    }
    cout << hex("Az9") << endl;
    string text = "hello world"; int best = 0; char which = ' ';
    for (char c = 'a'; c <= 'z'; ++c) { int n = count(text.begin(), text.end(), c); if (n > best) { best = n; which = c; } }
    cout << which << best << endl;
    string bits; for (int c = 'M'; c; c /= 2) bits.insert(bits.begin(), c % 2 ? '1' : '0'); cout << bits << " " << stoi(bits, nullptr, 2) << endl;
}
