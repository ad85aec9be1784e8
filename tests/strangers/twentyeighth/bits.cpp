#include <bitset>
#include <cstdint>
#include <iostream>
#include <set>
#include <map>
#include <string>
using namespace std;

int main() {
    bitset<8> b(0b10110);
    cout << b << ' ' << b.count() << ' ' << b[1] << endl;
    b.set(0);
    b.flip(7);
    cout << b.to_string() << ' ' << b.to_ulong() << ' ' << b.test(3) << endl;
    cout << bitset<4>(5) << ' ' << (bitset<4>(12) & bitset<4>(10)) << endl;
    uint8_t x = 200;
    x += 100;
    cout << int(x) << ' ' << (x << 2) << ' ' << (x ^ 0xFF) << ' ' << hex << 255 << dec << endl;
    set<int> s = {10, 20, 30, 40};
    auto it = s.lower_bound(25);
    cout << *it << ' ' << *s.upper_bound(30) << ' ' << (s.lower_bound(41) == s.end()) << endl;
    multimap<string, int> mm;
    mm.insert({"bean", 3});
    mm.insert({"bean", 1});
    mm.emplace("pea", 7);
    for (auto& p : mm) cout << p.first << '=' << p.second << ' ';
    cout << mm.count("bean") << endl;
    string t = "abc";
    t.resize(5, '.');
    cout << t << '|';
    t.resize(2);
    cout << t << endl;
    int n = 37, ones = 0;
    while (n) { n &= n - 1; ones++; }
    cout << ones << ' ' << __builtin_popcount(255) << endl;
}
