#include <iostream>
#include <string>
using namespace std;

void check(int n) {
    string why = "number " + to_string(n);
    if (n == 1) throw string("one");
    if (n == 2) throw why;
    if (n == 3) throw "three";
    if (n == 4) throw 4;
    if (n == 5) throw string("five") + '!';
}

int main() {
    for (int i = 0; i < 6; i++) {
        try {
            check(i);
            cout << "fine" << endl;
        } catch (const string& s) {
            cout << "string " << s << " " << s.size() << endl;
        } catch (const char* c) {
            cout << "letters " << c << endl;
        } catch (int n) {
            cout << "number " << n << endl;
        }
    }
    try {
        throw std::string("x");
    } catch (std::string e) {
        e += "y";
        cout << e << endl;
    }
    try {
        try {
            check(1);
        } catch (int n) {
            cout << "no" << endl;
        }
    } catch (...) {
        cout << "any" << endl;
    }
}
