#include <iostream>
#include <string>
using namespace std;

int main() {
    int whole = 7.9;
    double point = 7;
    bool truth = whole;
    char letter = 'A' + 2;
    cout << whole << " " << point / 2 << " " << truth << " " << letter << endl;
    cout << int('a') << " " << char(98) << " " << (int)3.99 << " " << double(5) / 2 << " " << 5 / 2 << endl;
    string text = to_string(42);
    text += "!";
    cout << text << " " << stoi("12") + 3 << " " << stod("1.5") * 2 << " " << stoi("17 beds") << endl;
    cout << (3 > 2) << (2 > 3) << !truth << endl;
    truth = false;
    if (!truth) cout << "off" << endl;
}
