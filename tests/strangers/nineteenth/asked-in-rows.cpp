#include <iostream>
#include <string>
#include <map>
#include <vector>
#include <sstream>
using namespace std;
enum Command { ADD, SHOW, REMOVE, TOTAL, QUIT, UNKNOWN };
Command parse(const string& word) {
    static const map<string, Command> commands = {{"add", ADD}, {"show", SHOW}, {"remove", REMOVE}, {"total", TOTAL}, {"quit", QUIT}};
    auto it = commands.find(word);
    return it == commands.end() ? UNKNOWN : it->second;
}
int main() {
    map<string, pair<int, double>> basket;
    string line;
    int lineNumber = 0;
    while (getline(cin, line)) {
        ++lineNumber;
        if (line.empty() || line[0] == '#') continue;
        istringstream in(line);
        string word, item; int count = 0; double price = 0;
        in >> word;
        switch (parse(word)) {
            case ADD:
                if (!(in >> item >> count >> price) || count < 1) { cout << lineNumber << ": bad add" << endl; break; }
                basket[item].first += count;
                basket[item].second = price;
                break;
            case REMOVE:
                in >> item;
                cout << (basket.erase(item) ? "removed " : "no ") << item << endl;
                break;
            case SHOW:
                for (const auto& entry : basket) cout << entry.first << " x" << entry.second.first << " @" << entry.second.second << "; ";
                cout << endl;
                break;
            case TOTAL: {
                double total = 0;
                for (const auto& [name, data] : basket) total += data.first * data.second;
                cout << "total " << total << endl;
                break;
            }
            case QUIT:
                cout << "bye" << endl;
                return 0;
            default:
                cout << lineNumber << ": unknown " << word << endl;
        }
    }
}
