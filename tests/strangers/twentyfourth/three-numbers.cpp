#include <iostream>
#include <limits>
using namespace std;
int main() {
    int v[3]; 
    for (int i = 0; i < 3; ) { 
        if (cin >> v[i]) { i++; continue; }
        if (cin.eof()) break;
        cin.clear(); cin.ignore(numeric_limits<streamsize>::max(), '\n'); cout << "bad\n";
    }
    cout << v[0] + v[1] + v[2] << endl;
    int n; cin >> n; cout << n << cin.fail() << endl;
    cin.clear(); string s; cin >> s; cout << s << endl;
    cin >> n; cout << cin.eof() << cin.fail() << n;
}
