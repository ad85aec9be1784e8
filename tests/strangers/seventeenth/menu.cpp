#include <iostream>
#include <string>
#include <map>
#include <vector>
#include <limits>
using namespace std;

enum class Command { Add, Remove, List, Quit, Unknown };

Command parse(const string& word) {
    static const map<string, Command> table = {
        {"add", Command::Add}, {"remove", Command::Remove}, {"list", Command::List}, {"quit", Command::Quit}
    };
    auto it = table.find(word);
    return it == table.end() ? Command::Unknown : it->second;
}

class Shed {
    map<string, int> tools;
    int limit;
public:
    Shed(int limit = 10) : limit{limit} {}
    bool add(const string& tool, int n) {
        int total = 0;
        for (auto& t : tools) total += t.second;
        if (total + n > limit) return false;
        tools[tool] += n;
        return true;
    }
    bool remove(const string& tool) {
        return tools.erase(tool) > 0;
    }
    void list(ostream& out = cout) const {
        if (tools.empty()) { out << "  (empty)\n"; return; }
        for (const auto& [tool, n] : tools)
            out << "  " << tool << " x" << n << '\n';
    }
};

int main() {
    Shed shed(6);
    string word;
    bool running = true;
    while (running && cin >> word) {
        switch (parse(word)) {
            case Command::Add: {
                string tool;
                int n;
                if (!(cin >> tool >> n)) {
                    cout << "bad number" << endl;
                    cin.clear();
                    cin.ignore(numeric_limits<streamsize>::max(), '\n');
                    break;
                }
                cout << (shed.add(tool, n) ? "added " : "no room for ") << tool << endl;
                break;
            }
            case Command::Remove: {
                string tool;
                cin >> tool;
                cout << (shed.remove(tool) ? "removed" : "not there") << endl;
                break;
            }
            case Command::List:
                shed.list();
                break;
            case Command::Quit:
                running = false;
                break;
            default:
                cout << "what is " << word << "?" << endl;
        }
    }
    cout << "bye" << endl;
}
