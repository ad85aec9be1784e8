#include <iostream>
#include <string>
using namespace std;
int main() {
    for (int number = 1; number <= 15; number++) {
        string text;
        if (number % 3 == 0) text += "leaf";
        if (number % 5 == 0) text += "fall";
        if (text.empty()) cout << number; else cout << text;
        cout << (number < 15 ? "," : "\n");
    }
}
