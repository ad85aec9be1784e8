#include <iostream>
#include <fstream>
#include <sstream>
#include <map>
#include <vector>
#include <algorithm>
#include <iomanip>
using namespace std;

struct Record {
    string crop;
    int bed;
    double kg;
};

vector<string> split(const string& s, char sep) {
    vector<string> parts;
    string part;
    stringstream ss(s);
    while (getline(ss, part, sep)) parts.push_back(part);
    return parts;
}

string trim(const string& s) {
    size_t a = s.find_first_not_of(" \t");
    if (a == string::npos) return "";
    size_t b = s.find_last_not_of(" \t");
    return s.substr(a, b - a + 1);
}

bool parse(const string& line, Record& r) {
    auto parts = split(line, ',');
    if (parts.size() != 3) return false;
    try {
        r.crop = trim(parts[0]);
        r.bed = stoi(parts[1]);
        r.kg = stod(parts[2]);
    } catch (const invalid_argument&) {
        return false;
    }
    return !r.crop.empty();
}

int main() {
    ofstream out("harvest.csv");
    out << "crop,bed,kg\n" << "kale , 3, 2.5\n" << "bean,1,x\n" << "pea,2,1.25\n\n" << "kale,4,0.75\n";
    out.close();
    ifstream in("harvest.csv");
    if (!in) { cerr << "cannot open" << endl; return 1; }
    string line;
    getline(in, line);
    vector<Record> records;
    int lineNo = 1, bad = 0;
    while (getline(in, line)) {
        ++lineNo;
        Record r;
        if (parse(line, r)) records.push_back(r);
        else { cout << "line " << lineNo << " skipped: '" << line << "'" << endl; ++bad; }
    }
    in.close();
    map<string, double> totals;
    for (const Record& r : records) totals[r.crop] += r.kg;
    cout << left << setw(10) << "crop" << right << setw(8) << "kg" << endl;
    cout << string(18, '-') << endl;
    cout << fixed << setprecision(2);
    for (const auto& p : totals) cout << left << setw(10) << p.first << right << setw(8) << p.second << endl;
    sort(records.begin(), records.end(), [](const Record& a, const Record& b) {
        if (a.crop != b.crop) return a.crop < b.crop;
        return a.kg > b.kg;
    });
    for (auto& [crop, bed, kg] : records) cout << crop << '#' << bed << '=' << kg << ' ';
    cout << endl << bad << " bad" << endl;
    remove("harvest.csv");
    string text = "to be or not";
    istringstream words(text);
    vector<string> w;
    string x;
    while (words >> x) w.insert(w.begin(), x);
    for (auto& s : w) { s[0] = toupper(s[0]); cout << s << ' '; }
    cout << '\n' << text.find("or") << text.rfind('o') << text.compare("to") << endl;
    ostringstream o;
    o << setfill('0') << setw(2) << 7 << ":" << setw(2) << 5;
    cout << o.str() << endl;
    return 0;
}
