#include <iostream>
#include <string>
using namespace std;
int readNumber(const string& question, int low, int high) {
    int n;
    do {
        cout << question;
        cin >> n;
        if (cin.fail()) {
            cin.clear();
            string rubbish;
            getline(cin, rubbish);
            cout << "'" << rubbish << "' is no number" << endl;
            n = low - 1;
        } else if (n < low || n > high) {
            cout << "out of range" << endl;
        }
    } while (n < low || n > high);
    return n;
}
int main() { int a = readNumber("a? ", 1, 5); int b = readNumber("b? ", 1, 10); cout << a * b << endl; double d; cin >> d; if (!cin.good()) cout << "no d"; else cout << d; char c; string s; cin >> c >> s; if (cin) cout << c << s; cin >> s; if (cin.eof()) cout << "eof"; }
