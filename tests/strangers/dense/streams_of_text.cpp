#include <iostream>
#include <fstream>
#include <sstream>
#include <string>
#include <vector>
#include <map>
#include <iomanip>
#include <algorithm>
using namespace std;
struct Student { string name; vector<int> marks; double avg() const { if (marks.empty()) return 0; double s = 0; for (int m : marks) s += m; return s / marks.size(); } };
int main() {
    string data = "Fay 80 92 75\nMoss 60 70\nIvy\nRowan 100 99 98 97\n";
    istringstream in(data);
    string line; vector<Student> all;
    while (getline(in, line)) { istringstream ls(line); Student s; ls >> s.name; int m; while (ls >> m) s.marks.push_back(m); all.push_back(s); }
    sort(all.begin(), all.end(), [](const Student& a, const Student& b) { return a.avg() > b.avg(); });
    cout << left << setw(10) << "Name" << right << setw(8) << "Avg" << setw(6) << "N" << endl << setfill('-') << setw(24) << "" << setfill(' ') << endl;
    cout << fixed << setprecision(1);
    for (const auto& s : all) cout << left << setw(10) << s.name << right << setw(8) << s.avg() << setw(6) << s.marks.size() << endl;
    map<char, vector<string>> byGrade;
    for (auto& s : all) { char g = s.avg() >= 90 ? 'A' : s.avg() >= 70 ? 'B' : 'C'; byGrade[g].push_back(s.name); }
    for (auto& [g, names] : byGrade) { cout << g << ":"; for (auto& n : names) cout << " " << n; cout << endl; }
    ostringstream out; out << "total " << all.size() << " pupils"; cout << out.str() << endl;
    string csv = "a,b,,c"; stringstream ss(csv); string part; int n = 0; while (getline(ss, part, ',')) cout << n++ << "=" << part << ";"; cout << endl;
    cout << setprecision(3) << 3.14159 << " " << scientific << 12345.678 << endl; cout << hex << 255 << dec << " " << boolalpha << true << endl;
    cout << setw(5) << setfill('0') << 42 << setfill(' ') << endl;
}
