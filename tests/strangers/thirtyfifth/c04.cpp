#include <iostream>
#include <map>
#include <vector>
#include <set>
#include <sstream>
#include <string>
#include <algorithm>
#include <cctype>

using std::string; using std::map; using std::cout;

string clean(string w) {
    w.erase(std::remove_if(w.begin(), w.end(), [](unsigned char c) { return !std::isalpha(c); }), w.end());
    std::transform(w.begin(), w.end(), w.begin(), [](unsigned char c) { return std::tolower(c); });
    return w;
}

int main() {
    string line;
    map<string, int> freq;
    map<size_t, std::set<string>> byLength;
    int lineNo = 0;
    map<string, std::vector<int>> where;
    while (std::getline(std::cin, line)) {
        ++lineNo;
        std::istringstream in(line);
        for (string w; in >> w; ) {
            w = clean(w);
            if (w.empty()) continue;
            freq[w]++;
            byLength[w.length()].insert(w);
            auto& list = where[w];
            if (list.empty() || list.back() != lineNo) list.push_back(lineNo);
        }
    }
    for (const auto& [word, count] : freq) {
        cout << word << ": " << count << " (";
        const auto& ls = where.at(word);
        for (size_t i = 0; i < ls.size(); ++i) cout << (i ? "," : "") << ls[i];
        cout << ")\n";
    }
    for (auto it = byLength.rbegin(); it != byLength.rend(); ++it) {
        cout << it->first << ":";
        for (const auto& w : it->second) cout << ' ' << w;
        cout << '\n';
    }
    auto most = std::max_element(freq.begin(), freq.end(), [](const auto& a, const auto& b) { return a.second < b.second; });
    if (most != freq.end()) cout << "most: " << most->first << " x" << most->second << '\n';
}
