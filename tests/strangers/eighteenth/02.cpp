#include <iostream>
#include <fstream>
#include <sstream>
#include <vector>
#include <string>
#include <algorithm>
using namespace std;

struct Entry {
    string name;
    double amount;
    bool operator<(const Entry& other) const { return amount < other.amount; }
};

bool parseLine(const string& line, Entry& entry) {
    istringstream in(line);
    if (!getline(in, entry.name, ';')) return false;
    if (!(in >> entry.amount)) return false;
    return true;
}

int main() {
    vector<string> lines = {"rent;450", "food;120.5", "bad line", "fun;60", ";7"};
    vector<Entry> entries;
    for (const auto& line : lines) {
        Entry e;
        if (parseLine(line, e)) entries.push_back(e);
        else cout << "skipped: " << line << "\n";
    }
    sort(entries.rbegin(), entries.rend());
    double sum = 0;
    for (const Entry& e : entries) {
        cout.width(6);
        cout << e.name << " " << e.amount << endl;
        sum += e.amount;
    }
    cout << "sum = " << sum << ", mean = " << sum / entries.size() << endl;
    auto big = count_if(entries.begin(), entries.end(), [&](const Entry& e) { return e.amount > sum / entries.size(); });
    cout << big << " above the mean" << endl;
}
