#include <iostream>
using namespace std;
int main() {
    char again = 'y';
    while (again == 'y') {
        double a, b; char op;
        cout << "> ";
        if (!(cin >> a >> op >> b)) { cin.clear(); cin.ignore(100, '\n'); cout << "what?" << endl; continue; }
        switch (op) { case '+': cout << a + b; break; case '/': if (b == 0) cout << "no"; else cout << a / b; break; default: cout << "?" << op; }
        cout << "\nagain? "; cin >> again;
    }
    cout << "bye" << endl;
}
