#include <algorithm>
#include <iostream>
#include <string>
#include <utility>
#include <vector>
struct P { std::string n; int a; bool operator<(const P& o) const { return a < o.a; } };
bool byAge(const P& x, const P& y) { return x.a < y.a; }
int main() {
    for (int n : {5, 16, 17, 40, 100}) {
        for (int m : {2, 5, 17}) {
            std::vector<P> v;
            for (int i = 0; i < n; ++i) v.push_back({"n" + std::to_string(i), (i * 7919 + 13) % m});
            auto w = v, x = v, y = v, z = v;
            std::sort(v.begin(), v.end(), [](const P& p, const P& q) { return p.a < q.a; });
            std::sort(w.begin(), w.end(), [](const P& p, const P& q) { return p.a > q.a; });
            std::sort(x.begin(), x.end());
            std::sort(y.begin(), y.end(), byAge);
            std::stable_sort(z.begin(), z.end(), byAge);
            int calls = 0;
            auto u = z;
            std::sort(u.begin(), u.end(), [&](const P& p, const P& q) { ++calls; return p.a % 2 < q.a % 2; });
            for (auto& p : v) std::cout << p.n << ' ';
            for (auto& p : w) std::cout << p.n << ' ';
            for (auto& p : x) std::cout << p.n << ' ';
            for (auto& p : y) std::cout << p.n << ' ';
            for (auto& p : z) std::cout << p.n << ' ';
            for (auto& p : u) std::cout << p.n << ' ';
            std::cout << calls << '\n';
        }
    }
    std::vector<std::pair<std::string, int>> words;
    for (int i = 0; i < 30; ++i) words.push_back({"w" + std::to_string(i), i % 3});
    std::sort(words.begin(), words.end(), [](const auto& a, const auto& b) { return a.second > b.second; });
    for (auto& [w, c] : words) std::cout << w << c << ' ';
    std::cout << '\n';
}
