#include <iostream>
#include <string>
using namespace std;

int main() {
    int count;
    cout << "How many? ";
    cin >> count;
    double total = 0;
    for (int i = 0; i < count; i++) {
        double height;
        cin >> height;
        total += height;
    }
    cout << "mean " << total / count << endl;
    string name, line;
    cin >> name;
    cin.ignore();
    getline(cin, line);
    cout << name << ": " << line << endl;
    int a, b;
    char sign;
    cin >> a >> sign >> b;
    cout << a << sign << b << "=" << a + b << endl;
    int beds[3];
    for (int i = 0; i < 3; i++) cin >> beds[i];
    cout << beds[0] + beds[1] + beds[2] << endl;
    long long large;
    cin >> large;
    cout << large + 1 << endl;
}
