#include <iostream>
#include <fstream>
#include <sstream>
#include <string>
#include <map>
#include <vector>
#include <cctype>

using namespace std;

struct Item {
    string name;
    int quantity;
    double price;
};

string trim(const string &s) {
    size_t a = s.find_first_not_of(" \t");
    if (a == string::npos) return "";
    size_t b = s.find_last_not_of(" \t");
    return s.substr(a, b - a + 1);
}

string upper(string s) {
    for (char &c : s) c = toupper(c);
    return s;
}

bool parseLine(const string &line, Item &item) {
    stringstream ss(line);
    string part;
    vector<string> parts;
    while (getline(ss, part, ';')) parts.push_back(trim(part));
    if (parts.size() != 3) return false;
    item.name = parts[0];
    try {
        item.quantity = stoi(parts[1]);
        item.price = stod(parts[2]);
    } catch (const invalid_argument &) {
        return false;
    }
    return true;
}

int main() {
    vector<Item> items;
    string line;
    int lineNo = 0;
    while (getline(cin, line)) {
        ++lineNo;
        if (line.empty() || line[0] == '#') continue;
        Item item;
        if (parseLine(line, item)) {
            items.push_back(item);
        } else {
            cout << "line " << lineNo << " is bad: [" << line << "]" << endl;
        }
    }
    map<char, vector<string>> byLetter;
    double total = 0;
    for (const Item &item : items) {
        total += item.quantity * item.price;
        byLetter[toupper(item.name[0])].push_back(item.name);
    }
    cout.setf(ios::fixed);
    cout.precision(2);
    cout << "total " << total << endl;
    for (auto const &entry : byLetter) {
        cout << entry.first << ":";
        for (auto const &n : entry.second) cout << " " << upper(n);
        cout << "\n";
    }
    ostringstream out;
    out << items.size() << " items";
    string text = out.str();
    cout << text << " " << text.length() << endl;
    int words = 0, digits = 0;
    bool inWord = false;
    for (char c : text + " and 12 more") {
        if (isdigit(c)) digits++;
        if (isspace(c)) inWord = false;
        else if (!inWord) { inWord = true; words++; }
    }
    cout << words << " words, " << digits << " digits" << endl;
    return items.empty() ? 1 : 0;
}
