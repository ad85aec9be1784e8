#include <iostream>
#include <string>
using namespace std;

int main() {
    string word;
    cin >> word;
    string turned = "";
    for (char letter : word) {
        turned = letter + turned;
    }
    cout << turned << endl;
    if (turned == word) {
        cout << "the same both ways" << endl;
    }
}
