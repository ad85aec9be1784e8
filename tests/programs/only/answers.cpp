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
    cout << "mean: " << total / count << endl;
    string name, line;
    cin >> name;
    cin.ignore();
    getline(cin, line);
    cout << name << "|" << line << endl;
    int a, b;
    cin >> a >> b;
    cout << a + b << endl;
    char c;
    cin >> c;
    cout << c << endl;
    return 0;
}
