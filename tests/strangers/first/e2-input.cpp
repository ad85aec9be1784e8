#include <iostream>
#include <sstream>
#include <string>
#include <vector>
#include <iomanip>
using namespace std;
int main() {
    string line;
    double total = 0;
    int bad = 0, n = 0;
    getline(cin, line);
    while (getline(cin, line)) {
        if (line.empty()) continue;
        stringstream row(line);
        string bed, crop, kilos;
        getline(row, bed, ',');
        getline(row, crop, ',');
        getline(row, kilos);
        n++;
        try { total += stod(kilos); }
        catch (const exception&) { bad++; }
        cout << left << setw(6) << bed << setw(8) << crop << right << setw(6) << kilos << endl;
    }
    cout << n << " rows, " << fixed << setprecision(2) << total << ", " << bad << " bad" << endl;
    ostringstream out;
    out << setw(4) << setfill('0') << 42 << "-" << n;
    cout << out.str() << endl;
    cout << to_string(n) + "/" + to_string(2.5) << endl;
}
