#include <iostream>
#include <map>
#include <set>
#include <string>
#include <sstream>
#include <vector>
#include <algorithm>
#include <iomanip>
using namespace std;

struct Reading { int hour; double temp; };
using Log = map<string, vector<Reading>>;

Log parse(istream& in) {
    Log log;
    string line;
    int no = 0;
    while (getline(in, line)) {
        ++no;
        if (line.empty() || line[0] == '#') continue;
        istringstream fields(line);
        string place; Reading r;
        if (!(fields >> place >> r.hour >> r.temp)) {
            cerr << "bad line " << no << endl;
            cout << "(skipped line " << no << ")\n";
            continue;
        }
        log[place].push_back(r);
    }
    return log;
}

pair<double, double> range(const vector<Reading>& rs) {
    auto [lo, hi] = minmax_element(rs.begin(), rs.end(), [](const Reading& a, const Reading& b) { return a.temp < b.temp; });
    return {lo->temp, hi->temp};
}

int main() {
    string text = "# place hour temp\npond 8 11.5\npond 14 19\nshed 8 9\n\nshed x 3\nshed 14 21.25\nroof 12 30\n";
    istringstream in(text);
    Log log = parse(in);
    cout << fixed << setprecision(1);
    for (const auto& [place, rs] : log) {
        double sum = 0;
        for (const auto& r : rs) sum += r.temp;
        auto [lo, hi] = range(rs);
        cout << setw(6) << left << place << right << setw(6) << sum / rs.size() << setw(6) << lo << setw(6) << hi << "\n";
    }
    set<int> hours;
    for (auto& entry : log) for (auto& r : entry.second) hours.insert(r.hour);
    for (auto h : hours) cout << h << (h == *hours.rbegin() ? "\n" : ",");
    cout << (log.count("attic") ? "attic" : "no attic") << ' ' << log["pond"].size() << ' ' << log.size() << '\n';
    map<int, vector<string>, greater<int>> byCount;
    for (auto& [place, rs] : log) byCount[rs.size()].push_back(place);
    for (auto& [n, places] : byCount) {
        cout << n << ":";
        for (auto& p : places) cout << ' ' << p;
        cout << endl;
    }
    if (auto it = log.find("roof"); it != log.end()) log.erase(it);
    cout << log.size() << endl;
}
