#include <iostream>
#include <string>
#include <limits>
using namespace std;
int main() {
    int n, sum = 0, count = 0;
    while (cin >> n) {
        sum += n;
        count++;
    }
    cerr << "warning " << count << endl;
    std::cout << "sum " << sum << " of " << count << endl;
    if (!(cin >> n)) cout << "none" << endl;
    cin.clear();
    cin.ignore(numeric_limits<streamsize>::max(), '\n');
    string word; double d;
    if (cin >> word >> d) cout << word << d << endl;
    string line;
    getline(cin, line);
    while (getline(cin, line)) {
        cout << "[" << line << "]" << endl;
    }
    if (cin >> n) { cout << "more"; } else { cout << "end" << endl; }
}
