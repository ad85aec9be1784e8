#include <iostream>
#include <string>
#include <map>
#include <cctype>
#include <algorithm>
#include <vector>
using namespace std;

string clean(string w) {
    string r;
    for (char c : w) if (isalpha(c)) r += tolower(c);
    return r;
}

int main() {
    map<string, int> freq;
    string line, word;
    int lines = 0, total = 0;
    while (getline(cin, line)) {
        lines++;
        string::size_type pos = 0, next;
        do {
            next = line.find(' ', pos);
            word = clean(line.substr(pos, next == string::npos ? string::npos : next - pos));
            if (!word.empty()) { freq[word]++; total++; }
            pos = next + 1;
        } while (next != string::npos);
    }
    cout << lines << " lines, " << total << " words, " << freq.size() << " different" << endl;
    vector<pair<string,int>> list(freq.begin(), freq.end());
    sort(list.begin(), list.end(), [](const pair<string,int>& a, const pair<string,int>& b) {
        return a.second > b.second || (a.second == b.second && a.first < b.first);
    });
    for (int i = 0; i < 3 && i < list.size(); i++)
        cout << list[i].first << " " << list[i].second << endl;
    string longest = "";
    for (auto it = freq.begin(); it != freq.end(); ++it)
        if (it->first.length() > longest.length()) longest = it->first;
    cout << "longest: " << longest << endl;
    reverse(longest.begin(), longest.end());
    cout << "backwards: " << longest << endl;
    transform(longest.begin(), longest.end(), longest.begin(), ::toupper);
    cout << longest << endl;
    if (freq.count("snail")) cout << "snails: " << freq.at("snail") << endl;
    cout << freq["toad"] << " " << freq.size() << endl;
}
