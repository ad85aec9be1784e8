#include <iostream>
using namespace std;
int main() {
    char c = 'A';
    for (int i = 0; i < 5; i++) {
        cout << c << " ";
        c++;
    }
    cout << endl;
    for (char d = 'a'; d <= 'e'; d++) cout << d;
    cout << endl;
    int n = 'z' - 'a';
    cout << n << " " << ('a' < 'b') << " " << int('0') << " " << '7' - '0' << endl;
    string s = "";
    s += 'x';
    s += "yz";
    s = s + 'w';
    cout << s << " " << s.size() << "\\ \" \t|" << endl;
    return 0;
}
