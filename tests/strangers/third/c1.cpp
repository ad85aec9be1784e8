#include <iostream>
#include <sstream>
#include <string>
#include <vector>
using namespace std;

int main() {
    int n, sum = 0, count = 0;
    while (cin >> n) {
        sum += n;
        count++;
    }
    cout << "sum " << sum << " of " << count << endl;
    if (count > 0) cout << "mean " << (double)sum / count << '\n';
    stringstream ss("4 5 six");
    int a, b; string c;
    ss >> a >> b >> c;
    cout << a + b << c << endl;
    ostringstream out;
    out << "x" << 1 << 2.5;
    cout << out.str() << endl;
    cerr << "warning" << endl;
    string line = "a,b,c", part;
    istringstream in(line);
    while (getline(in, part, ',')) cout << "[" << part << "]";
    cout << endl;
}
