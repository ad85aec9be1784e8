#include <iostream>
#include <string>
using namespace std;

int main() {
    string text = "Fernhollow";
    int count = 0;
    for (int i = 0; i < text.length(); i++) {
        if (text[i] == 'l' || text[i] == 'o') {
            count++;
        }
    }
    cout << count << endl;
    cout << text.substr(0, 4) << " " << text.find("hollow") << endl;
}
