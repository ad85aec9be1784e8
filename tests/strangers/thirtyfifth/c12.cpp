#include <iostream>
#include <string>
#include <vector>
#include <list>
#include <stack>
#include <deque>
#include <unordered_map>
#include <algorithm>
#include <iterator>
using namespace std;

struct Command { string op; int arg; };

vector<string> split(const string &s, char sep) {
    vector<string> out;
    size_t from = 0, to;
    while ((to = s.find(sep, from)) != string::npos) {
        out.push_back(s.substr(from, to - from));
        from = to + 1;
    }
    out.push_back(s.substr(from));
    return out;
}

int main() {
    string program = "push 3;push 4;add;dup;mul;print;jump 7;push 9;print";
    vector<Command> code;
    for (const auto &part : split(program, ';')) {
        auto bits = split(part, ' ');
        code.push_back({bits[0], bits.size() > 1 ? stoi(bits[1]) : 0});
    }
    stack<int> st;
    auto pop = [&st]() { int v = st.top(); st.pop(); return v; };
    for (size_t pc = 0; pc < code.size(); ++pc) {
        const auto &[op, arg] = code[pc];
        if (op == "push") st.push(arg);
        else if (op == "add") { int b = pop(), a = pop(); st.push(a + b); }
        else if (op == "mul") st.push(pop() * pop());
        else if (op == "dup") st.push(st.top());
        else if (op == "print") cout << "> " << st.top() << endl;
        else if (op == "jump") pc = arg - 1;
        else cerr << "unknown " << op << endl;
    }
    list<int> l = {4, 1, 3};
    l.sort(); l.push_front(0); l.reverse();
    for (auto it = l.begin(); it != l.end(); ) { if (*it == 3) it = l.erase(it); else ++it; }
    copy(l.begin(), l.end(), ostream_iterator<int>(cout, " "));
    cout << endl;
    deque<string> d;
    d.push_back("b"); d.push_front("a"); d.push_back("c");
    cout << d.front() << d[1] << d.back() << d.size() << endl;
    unordered_map<char, int> seen;
    for (char ch : string("mississippi")) ++seen[ch];
    vector<pair<char, int>> v(seen.begin(), seen.end());
    sort(v.begin(), v.end(), [](auto &x, auto &y) { return x.second != y.second ? x.second > y.second : x.first < y.first; });
    for (auto &p : v) cout << p.first << p.second << ' ';
    cout << "\n" << count_if(v.begin(), v.end(), [](pair<char,int> p) { return p.second > 2; }) << endl;
    int arr[] = {9, 4, 7, 1};
    sort(begin(arr), end(arr));
    cout << binary_search(arr, arr + 4, 7) << " " << *min_element(arr, arr + 4) << " " << sizeof(arr) / sizeof(arr[0]) << endl;
    reverse(program.begin(), program.begin() + 6);
    cout << program.substr(0, 6) << " " << program.compare("x") << " " << program.rfind("print") << endl;
}
