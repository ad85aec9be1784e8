#include <iostream>
#include <stack>
#include <queue>
#include <deque>
#include <string>
#include <vector>
using namespace std;

bool balanced(const string& text) {
    stack<char> open;
    for (char c : text) {
        if (c == '(' || c == '[') open.push(c);
        else if (c == ')' || c == ']') {
            if (open.empty()) return false;
            char last = open.top();
            open.pop();
            if ((c == ')' && last != '(') || (c == ']' && last != '[')) return false;
        }
    }
    return open.empty();
}

int main() {
    cout << balanced("(a[b])") << balanced("(]") << endl;
    stack<int> pots;
    pots.push(1);
    pots.push(2);
    cout << pots.top() << pots.size();
    pots.pop();
    cout << pots.top() << pots.empty() << endl;
    queue<string> line;
    line.push("ivy");
    line.push("oak");
    while (!line.empty()) {
        cout << line.front() << " " << line.back() << endl;
        line.pop();
    }
    deque<int> beds = {2, 3};
    beds.push_front(1);
    beds.push_back(4);
    beds.pop_front();
    for (int bed : beds) cout << bed << ",";
    cout << beds[0] << endl;
    vector<int> more;
    more.emplace_back(7);
    cout << more[0] << endl;
}
