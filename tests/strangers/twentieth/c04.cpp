#include <iostream>
#include <map>
#include <set>
#include <string>
#include <sstream>
#include <algorithm>
#include <vector>
using namespace std;

string lower(string s) {
    transform(s.begin(), s.end(), s.begin(), ::tolower);
    return s;
}

int main() {
    string text = "The rain fell on the garden and the garden drank the rain.";
    map<string, int> counts;
    stringstream ss(text);
    string word;
    while (ss >> word) {
        string clean;
        for (char c : word) if (isalpha(c)) clean += tolower(c);
        counts[clean]++;
    }
    for (const auto& [w, n] : counts) cout << w << ":" << n << " ";
    cout << endl;
    vector<pair<string, int>> sorted(counts.begin(), counts.end());
    sort(sorted.begin(), sorted.end(), [](const auto& a, const auto& b) {
        if (a.second != b.second) return a.second > b.second;
        return a.first < b.first;
    });
    for (int i = 0; i < 3; i++) cout << sorted[i].first << " " << string(sorted[i].second, '#') << endl;
    set<int> lengths;
    for (auto& p : counts) lengths.insert(p.first.length());
    for (int l : lengths) cout << l << " ";
    cout << lengths.count(4) << (lengths.find(9) == lengths.end() ? " none" : " some") << endl;
    map<int, vector<string>> byLength;
    for (auto it = counts.begin(); it != counts.end(); ++it) byLength[it->first.size()].push_back(it->first);
    for (auto& kv : byLength) {
        cout << kv.first << ": ";
        for (size_t i = 0; i < kv.second.size(); i++) cout << (i ? ", " : "") << kv.second[i];
        cout << endl;
    }
    string s = "garden";
    reverse(s.begin(), s.end());
    cout << s << " " << s.find("ra") << " " << s.substr(1, 3) << " " << (s.find('z') == string::npos) << endl;
    s.replace(0, 2, "XX");
    s.insert(2, "--");
    s.erase(s.size() - 1);
    cout << s << " " << s.length() << " " << s.front() << s.back() << " " << lower("ABC") << " " << stoi("42") + 1 << " " << to_string(3.5) << endl;
    if (counts.count("frog") == 0) cout << "no frog" << endl;
    counts.erase("rain");
    cout << counts.size() << " " << counts.begin()->first << " " << counts.rbegin()->first << endl;
    istringstream line("3,4,5");
    string part;
    int sum = 0;
    while (getline(line, part, ',')) sum += stoi(part);
    cout << sum << endl;
    sort(text.begin(), text.end());
    text.erase(unique(text.begin(), text.end()), text.end());
    cout << text << endl;
    cout << "abc" + string("d") << " " << (string("a") < "b") << " " << string("tree").compare("tree") << endl;
}
