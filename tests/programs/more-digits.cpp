#include <iostream>
#include <string>
using namespace std;

int main() {
    int number = 90125, sum = 0, reversed = 0;
    while (number > 0) {
        int digit = number % 10;
        sum += digit;
        reversed = reversed * 10 + digit;
        number /= 10;
    }
    cout << sum << " " << reversed << endl;
    string text = "4071";
    int total = 0;
    for (char c : text) total += c - '0';
    cout << total << endl;
    int n = 10;
    string bits = "";
    while (n > 0) {
        bits = to_string(n % 2) + bits;
        n /= 2;
    }
    cout << bits << " " << stoi(bits, nullptr, 2) << endl;
}
