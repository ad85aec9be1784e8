#include <iostream>
#include <iomanip>
#include <sstream>
#include <vector>
#include <string>
#include <algorithm>
#include <cctype>
using namespace std;

struct Record {
    string name;
    int quantity;
    double price;
    bool organic;
};

vector<string> split(const string& s, char sep) {
    vector<string> parts;
    string part;
    istringstream in(s);
    while (getline(in, part, sep)) parts.push_back(part);
    return parts;
}

string trim(string s) {
    size_t a = s.find_first_not_of(" \t");
    if (a == string::npos) return "";
    size_t b = s.find_last_not_of(" \t");
    return s.substr(a, b - a + 1);
}

bool parse(const string& line, Record& r) {
    auto parts = split(line, ';');
    if (parts.size() < 3) return false;
    try {
        r.name = trim(parts[0]);
        r.quantity = stoi(parts[1]);
        r.price = stod(parts[2]);
        r.organic = parts.size() > 3 && trim(parts[3]) == "yes";
    } catch (const invalid_argument&) {
        return false;
    }
    return true;
}

int main() {
    vector<Record> records;
    string line;
    int number = 0;
    while (getline(cin, line)) {
        number++;
        if (line.empty() || line[0] == '#') continue;
        Record r;
        if (parse(line, r)) records.push_back(r);
        else cerr << "line " << number << " ignored\n";
    }
    sort(records.begin(), records.end(), [](const Record& a, const Record& b) {
        return a.quantity * a.price > b.quantity * b.price;
    });
    cout << left << setw(12) << "name" << right << setw(6) << "qty" << setw(10) << "price" << "  " << "organic" << endl;
    cout << setfill('-') << setw(37) << "" << setfill(' ') << endl;
    double total = 0;
    for (size_t i = 0; i < records.size(); ++i) {
        const Record& r = records[i];
        cout << left << setw(12) << r.name << right << setw(6) << r.quantity
             << setw(10) << fixed << setprecision(2) << r.price << "  " << boolalpha << r.organic << endl;
        total += r.quantity * r.price;
    }
    ostringstream sum;
    sum << "total " << fixed << setprecision(1) << total;
    string s = sum.str();
    transform(s.begin(), s.end(), s.begin(), [](unsigned char c) { return toupper(c); });
    cout << s << endl;
    cout << setw(8) << setfill('0') << 42 << ' ' << hex << 255 << ' ' << uppercase << 255 << dec << ' ' << showpos << 7 << noshowpos << endl;
    cout << scientific << setprecision(3) << 12345.678 << defaultfloat << ' ' << 12345.678 << ' ' << 1e10 << ' ' << 0.00001 << endl;
}
