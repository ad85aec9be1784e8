#include <iostream>
#include <map>
#include <string>
#include <sstream>
using namespace std;
int main() {
    string line;
    map<string,int> freq;
    while (getline(cin, line)) {
        istringstream in(line);
        string w;
        while (in >> w) {
            for (auto &c : w) c = tolower(c);
            ++freq[w];
        }
    }
    for (auto &p : freq) cout << p.first << " => " << p.second << "\n";
    int most = 0; string which;
    for (const pair<const string,int>& p : freq)
        if (p.second > most) { most = p.second; which = p.first; }
    cout << "Most: " << which << " (" << most << ")" << endl;
}
