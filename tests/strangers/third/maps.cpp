#include <iostream>
#include <map>
#include <set>
#include <sstream>
#include <string>
using namespace std;
int main() {
    string text = "to be or not to be";
    map<string, int> freq;
    stringstream ss(text);
    string w;
    while (ss >> w) freq[w]++;
    for (auto& [word, n] : freq) cout << word << ": " << n << "\n";
    set<int> s = {3, 1, 2, 3};
    s.insert(5);
    cout << s.size() << " " << s.count(2) << endl;
    for (int x : s) cout << x << " ";
    cout << endl;
}
