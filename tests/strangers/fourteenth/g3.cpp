#include <iostream>
#include <string>
#include <vector>
using namespace std;
string names[5]; int ages[5]; int n = 0;
void menu() { cout << "1 add 2 list 3 oldest 0 quit" << endl; }
void add() { if (n >= 5) { cout << "full" << endl; return; } cout << "Name: "; cin >> names[n]; cout << "Age: "; cin >> ages[n]; n++; }
void list() { if (n == 0) cout << "none" << endl; for (int i = 0; i < n; i++) cout << i + 1 << ". " << names[i] << " (" << ages[i] << ")" << endl; }
int oldest() { int at = -1; for (int i = 0; i < n; i++) if (at == -1 || ages[i] > ages[at]) at = i; return at; }
int main() {
    int choice;
    do {
        menu();
        cin >> choice;
        switch (choice) {
            case 1: add(); break;
            case 2: list(); break;
            case 3: { int o = oldest(); if (o < 0) cout << "nobody" << endl; else cout << names[o] << endl; break; }
            case 0: cout << "bye" << endl; break;
            default: cout << "What?" << endl;
        }
    } while (choice != 0);
    string line; getline(cin, line); getline(cin, line); cout << "[" << line << "]" << endl;
    int x, sum = 0; while (cin >> x && x != -1) sum += x; cout << sum << endl;
    char c; cin >> c; cout << c << endl; double d; cin >> d; cout << d * 2 << endl;
    cin.ignore(); string rest; while (getline(cin, rest)) if (!rest.empty()) cout << rest.length() << rest << endl;
}
