#include <iostream>
#include <cctype>
#include <string>
using namespace std;
int main() {
    char c;
    int vowels = 0, digits = 0, others = 0;
    while (cin.get(c) && c != '.') {
        switch (tolower(c)) {
            case 'a': case 'e': case 'i': case 'o': case 'u': vowels++; break;
            default: if (isdigit(c)) digits++; else others++;
        }
    }
    cout << vowels << " " << digits << " " << others << endl;
    cin.get(c);
    cout << (int) c << endl;
    int n = cin.get();
    cout << n << " " << (char) cin.peek() << endl;
    char d = cin.get();
    cout << d << endl;
    int x;
    cin >> x;
    cin.get();
    string rest;
    getline(cin, rest);
    cout << x << "[" << rest << "]" << endl;
    while ((n = cin.get()) != EOF) { if (n == '\n') cout << '|'; else cout << char(n); }
    cout << endl << cin.peek() << (cin.eof() ? "end" : "more") << endl;
}
