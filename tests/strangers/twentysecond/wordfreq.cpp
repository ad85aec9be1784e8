#include <algorithm>
#include <cctype>
#include <iostream>
#include <iterator>
#include <map>
#include <set>
#include <sstream>
#include <string>
#include <unordered_map>
#include <vector>

using Freq = std::unordered_map<std::string, int>;

std::string clean(std::string w) {
    w.erase(std::remove_if(w.begin(), w.end(), [](unsigned char c) { return std::ispunct(c); }), w.end());
    std::transform(w.begin(), w.end(), w.begin(), [](unsigned char c) { return std::tolower(c); });
    return w;
}

Freq count_words(std::istream& in) {
    Freq f;
    for (std::string w; in >> w;) {
        w = clean(w);
        if (!w.empty()) ++f[w];
    }
    return f;
}

std::vector<std::string> split(const std::string& s, char sep) {
    std::vector<std::string> out;
    std::stringstream ss(s);
    std::string part;
    while (std::getline(ss, part, sep)) out.push_back(part);
    return out;
}

template <typename Container>
std::string join(const Container& c, const std::string& sep) {
    std::string out;
    bool first = true;
    for (const auto& x : c) {
        if (!first) out += sep;
        out += x;
        first = false;
    }
    return out;
}

int main() {
    std::istringstream text{"The frog sat, the frog ate. The heron came; the frog left!"};
    Freq f = count_words(text);
    std::vector<std::pair<std::string, int>> v(f.begin(), f.end());
    std::sort(v.begin(), v.end(), [](const auto& a, const auto& b) {
        if (a.second != b.second) return a.second > b.second;
        return a.first < b.first;
    });
    for (auto it = v.begin(); it != v.end() && std::distance(v.begin(), it) < 3; ++it)
        std::cout << it->first << ": " << std::string(it->second, '*') << "\n";
    std::map<int, std::set<std::string>> byLength;
    for (const auto& p : v) byLength[p.first.size()].insert(p.first);
    for (const auto& [len, words] : byLength) std::cout << len << " -> " << join(words, "/") << "\n";
    auto parts = split("pea,bean,,leek", ',');
    std::cout << parts.size() << " [" << join(parts, "|") << "]\n";
    std::reverse(parts.begin(), parts.end());
    std::copy(parts.begin(), parts.end(), std::ostream_iterator<std::string>(std::cout, " "));
    std::cout << "\n";
    std::string s = "stressed";
    std::string r(s.rbegin(), s.rend());
    std::cout << r << " " << (s == r) << " " << s.find("ss") << " " << s.substr(2) << " " << s.replace(0, 2, "d") << "\n";
    std::set<int> a{1, 2, 3, 4}, b{3, 4, 5};
    std::vector<int> both, either, only;
    std::set_intersection(a.begin(), a.end(), b.begin(), b.end(), std::back_inserter(both));
    std::set_union(a.begin(), a.end(), b.begin(), b.end(), std::back_inserter(either));
    std::set_difference(a.begin(), a.end(), b.begin(), b.end(), std::inserter(only, only.begin()));
    std::cout << both.size() << either.size() << only.size() << "\n";
    std::multiset<char> letters(s.begin(), s.end());
    std::cout << letters.count('s') << letters.count('e') << "\n";
    std::map<std::string, int> ordered(f.begin(), f.end());
    for (auto it = ordered.rbegin(); it != ordered.rend(); ++it) std::cout << it->first << (std::next(it) == ordered.rend() ? "\n" : ",");
    auto lb = ordered.lower_bound("g");
    std::cout << lb->first << " " << ordered.count("heron") << " " << ordered.erase("frog") << ordered.size() << "\n";
}
