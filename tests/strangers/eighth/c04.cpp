#include <iostream>
#include <map>
#include <set>
#include <sstream>
#include <string>
#include <queue>
#include <stack>
#include <cctype>
using namespace std;

string clean(string w) {
    string out;
    for (char c : w)
        if (isalpha(c)) out += tolower(c);
    return out;
}

bool balanced(const string &s) {
    stack<char> open;
    for (char c : s) {
        if (c == '(' || c == '[') open.push(c);
        else if (c == ')' || c == ']') {
            if (open.empty()) return false;
            char o = open.top();
            open.pop();
            if ((c == ')') != (o == '(')) return false;
        }
    }
    return open.empty();
}

int main() {
    map<string, int> freq;
    set<char> initials;
    string line, word;
    int lines = 0;
    while (getline(cin, line)) {
        ++lines;
        istringstream in(line);
        while (in >> word) {
            word = clean(word);
            if (word.empty()) continue;
            freq[word]++;
            initials.insert(word[0]);
        }
    }
    cout << lines << " lines, " << freq.size() << " words" << endl;
    for (const auto &[w, n] : freq)
        if (n > 1) cout << w << " " << n << endl;
    for (char c : initials) cout << c;
    cout << endl;
    if (freq.count("garden")) cout << "garden: " << freq.at("garden") << endl;
    auto it = freq.find("oak");
    cout << (it == freq.end() ? "no oak" : it->first) << endl;
    for (string s : {"(a[b]c)", "(]", "((", ""}) cout << '"' << s << "\" " << boolalpha << balanced(s) << endl;
    queue<int> q;
    for (int i = 1; i <= 7; i++) q.push(i);
    while (q.size() > 1) {
        q.push(q.front());
        q.pop();
        q.pop();
    }
    cout << "last: " << q.front() << endl;
    priority_queue<pair<int, string>> tasks;
    tasks.push({2, "water"});
    tasks.push({5, "weed"});
    tasks.push({1, "rest"});
    while (!tasks.empty()) {
        cout << tasks.top().second << " ";
        tasks.pop();
    }
    cout << endl;
}
