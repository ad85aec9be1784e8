#include <iostream>
#include <string>
using namespace std;

int main() {
    string text = "Fern and Hollow 7";
    int upper = 0, lower = 0, digits = 0, spaces = 0;
    for (char c : text) {
        if (isupper(c)) upper++;
        else if (islower(c)) lower++;
        else if (isdigit(c)) digits++;
        else if (isspace(c)) spaces++;
    }
    cout << upper << lower << digits << spaces << endl;
    for (size_t i = 0; i < text.size(); i += 4) cout << text[i];
    cout << endl;
    char c = 'x';
    c++;
    cout << c << endl;
    c -= 24;
    cout << c << endl;
    for (char d = 'a'; d <= 'f'; d++) cout << d << ' ';
    cout << endl;
    cout << 'z' - 'a' << " " << ('b' > 'a') << endl;
}
