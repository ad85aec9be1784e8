// Number guessing game - Fernhollow school
#include <iostream>
#include <cstdlib>
#include <ctime>
#include <string>
using namespace std;

int getGuess(int low, int high);
bool checkGuess(int guess, int secret, int &tries);
void showResult(const string &name, int tries, const int MAX_TRIES = 5);

int main()
{
    string name;
    int secret = 37, guess, tries = 0;
    char again = 'y';
    cout << "Name? ";
    getline(cin, name);
    while (again == 'y' || again == 'Y')
    {
        tries = 0;
        bool won = false;
        do
        {
            guess = getGuess(1, 50);
            won = checkGuess(guess, secret, tries);
        } while (!won && tries < 5);
        showResult(name, tries);
        cout << "Again (y/n)? ";
        cin >> again;
        cin.ignore();
        secret = (secret * 7) % 50 + 1;
    }
    return 0;
}

int getGuess(int low, int high)
{
    int g;
    cout << "Guess (" << low << "-" << high << "): ";
    cin >> g;
    while (g < low || g > high)
    {
        cout << "Out of range! ";
        cin >> g;
    }
    return g;
}

bool checkGuess(int guess, int secret, int &tries)
{
    tries++;
    if (guess == secret)
    {
        cout << "Right!\n";
        return true;
    }
    cout << (guess < secret ? "Too low\n" : "Too high\n");
    return false;
}

void showResult(const string &name, int tries, const int MAX_TRIES)
{
    if (tries < MAX_TRIES)
        cout << "Well done, " << name << "! " << tries << " tries." << endl;
    else
        cout << "Sorry, " << name << "." << endl;
}
