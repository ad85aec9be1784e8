#include <iostream>
#include <map>
#include <string>
#include <sstream>
#include <algorithm>
#include <vector>
using namespace std;
int main() {
    string text = "the rain in the garden the rose";
    map<string, int> freq;
    stringstream ss(text);
    string w;
    while (ss >> w) freq[w]++;
    vector<pair<string, int>> v(freq.begin(), freq.end());
    sort(v.begin(), v.end(), [](const pair<string, int>& a, const pair<string, int>& b) { return a.second != b.second ? a.second > b.second : a.first < b.first; });
    for (auto& p : v) cout << p.first << ":" << p.second << " ";
    cout << endl << freq.size() << " " << freq.count("sun") << " " << (freq.find("rose") != freq.end()) << endl;
    freq.erase("the");
    for (map<string, int>::iterator it = freq.begin(); it != freq.end(); ++it) cout << it->first << " ";
    cout << endl;
    string up = text; transform(up.begin(), up.end(), up.begin(), ::toupper); cout << up.substr(0, 8) << " " << text.find("rose") << " " << text.length() << endl;
    replace(text.begin(), text.end(), ' ', '_'); cout << text << endl;
}
