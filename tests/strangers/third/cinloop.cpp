#include <iostream>
#include <limits>
#include <iomanip>
using namespace std;
int main() {
    int n, count = 0;
    double total = 0;
    while (cin >> n) {
        if (n < 0) break;
        total += n;
        ++count;
    }
    if (count == 0) { cout << "no numbers" << endl; return 1; }
    cout << fixed << setprecision(2) << "mean " << total / count << endl;
    cout << setw(8) << count << setfill('*') << setw(6) << 42 << endl;
    return 0;
}
