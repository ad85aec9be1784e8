#include <iostream>
#include <string>
#include <set>
#include <vector>
#include <cstdlib>
#include <ctime>
using namespace std;

const int MAX_TRIES = 5;

int letterFill(char guess, string secret, string &word)
{
	int matches = 0;
	int len = secret.length();
	for (int i = 0; i < len; i++)
	{
		// Did we already match this letter?
		if (guess == word[i])
			return 0;

		if (guess == secret[i])
		{
			word[i] = guess;
			matches++;
		}
	}
	return matches;
}

int main()
{
	string words[] = { "compost", "trellis", "pumpkin" };
	int tries = 0;
	string word = words[2], unknown;
	char letter;
	set<char> wrong;

	unknown.assign(word.length(), '*');
	cout << "\n\nWelcome to the word game";
	cout << "\nYou have " << MAX_TRIES << " tries.";
	while (tries < MAX_TRIES)
	{
		cout << "\n" << unknown;
		cout << "\nGuess a letter: ";
		if (!(cin >> letter)) break;
		letter = tolower(letter);
		if (!isalpha(letter)) {
			cout << "\n" << letter << " is no letter (" << (int)letter << ")";
			continue;
		}
		if (letterFill(letter, word, unknown) == 0)
		{
			if (!wrong.insert(letter).second)
				cout << "\nAgain?";
			cout << "\nWhoops! That letter isn't in there!";
			tries++;
		}
		else
			cout << "\nYou found a letter!";
		cout << "\nYou have " << MAX_TRIES - tries << " guesses left.";
		if (word == unknown)
		{
			cout << "\n" << word << endl << "Yeah! You got it!";
			break;
		}
	}
	if (tries == MAX_TRIES)
		cout << "\nSorry, you lose... The word was " << word;
	cout << "\nwrong:";
	for (set<char>::iterator it = wrong.begin(); it != wrong.end(); ++it)
		cout << ' ' << *it;
	cout << endl;
	return 0;
}
