#include <iostream>
#include <iomanip>
#include <sstream>
#include <string>
using namespace std;
void show(double x) { cout << fixed << setprecision(2) << setw(8) << x << endl; }
int main() {
    double p = 2.0 / 3;
    int n = 255;
    cout << p << endl;
    if (n > 3) show(p);
    cout << p << " " << n << " " << (n > 3) << boolalpha << (n > 3) << endl;
    cout << hex << n << " " << uppercase << n << dec << " " << n << " " << oct << 8 << " " << -1 << dec << endl;
    cout << scientific << p << " " << showpos << 5 << noshowpos << endl;
    ostringstream out;
    out << setw(4) << setfill('0') << 42 << "-" << n << "-" << fixed << setprecision(1) << p;
    string s = out.str();
    cout << s << endl;
    cout << left << setw(6) << "ab" << "|" << right << setw(6) << "ab" << "|" << setw(4) << 'c' << endl;
}
