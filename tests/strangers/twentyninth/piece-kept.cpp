#include <iostream>
#include <map>
#include <functional>
#include <string>
using namespace std;
class G {
    map<string, function<void(const string&)>> commands;
public:
    G() { commands["hi"] = [](const string& s) { cout << "hi " << s << endl; }; }
    void run(const string& c) { auto it = commands.find(c); if (it == commands.end()) { cout << "none" << endl; return; } it->second("x"); }
};
int main() {
    G g; g.run("hi"); g.run("ho");
    map<string, function<int(int, int)>> ops = {{"+", [](int a, int b) { return a + b; }}, {"-", [](int a, int b) { return a - b; }}};
    auto it = ops.find("+");
    if (it != ops.end()) cout << it->second(2, 3) << endl;
    for (auto i = ops.begin(); i != ops.end(); ++i) cout << i->first << i->second(5, 1) << " ";
    for (auto& p : ops) cout << p.second(1, 1);
    for (const auto& [name, op] : ops) cout << name << op(7, 2);
    cout << ops.find("-")->second(4, 1) << endl;
    pair<string, function<int(int)>> pr = {"sq", [](int x) { return x * x; }};
    cout << pr.first << pr.second(5) << endl;
}
