#include <iostream>
#include <string>
#include <map>
#include <set>
#include <sstream>
#include <algorithm>
#include <vector>
using namespace std;

int main() {
    string text = "the bee saw the fox and the fox saw the bee run";
    istringstream stream(text);
    map<string, int> counts;
    map<char, set<string>> byLetter;
    string word;
    while (stream >> word) {
        ++counts[word];
        byLetter[word[0]].insert(word);
    }
    for (map<string, int>::iterator it = counts.begin(); it != counts.end(); ++it)
        cout << it->first << ": " << it->second << endl;
    vector<pair<string, int>> sorted(counts.begin(), counts.end());
    sort(sorted.begin(), sorted.end(), [](const pair<string, int>& a, const pair<string, int>& b) {
        if (a.second != b.second) return a.second > b.second;
        return a.first < b.first;
    });
    cout << "Most: " << sorted[0].first << " x" << sorted.at(0).second << endl;
    for (auto& [letter, words] : byLetter) {
        cout << letter << " ->";
        for (auto& w : words) cout << " " << w;
        cout << "\n";
    }
    if (counts.find("dog") == counts.end()) cout << "no dog" << endl;
    counts.erase("the");
    cout << counts.size() << " " << counts.count("fox") << endl;
    string upper = text;
    transform(upper.begin(), upper.end(), upper.begin(), ::toupper);
    cout << upper.substr(0, 7) << endl;
    ostringstream out;
    out << 3 << "+" << 4.5 << "=" << 7.5;
    cout << out.str() << " " << stoi("42") + stod("0.5") << endl;
    reverse(word.begin(), word.end());
    cout << word << " " << (text.rfind("bee")) << endl;
    string line = "name=Fern;age=12;group=A";
    size_t start = 0, end;
    while ((end = line.find(';', start)) != string::npos) {
        cout << "[" << line.substr(start, end - start) << "]";
        start = end + 1;
    }
    cout << "[" << line.substr(start) << "]" << endl;
    line.replace(line.find("Fern"), 4, "Moss");
    cout << line << endl;
}
